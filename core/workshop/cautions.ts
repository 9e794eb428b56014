export const CAUTION = {
  dust: "Plastic and wood dust: mask, and vacuum rather than sweep.",
  saw: "Saw: guard on, push stick, both hands clear of the line.",
  solventFumes: "Solvent fumes: outdoors or a fan, gloves, no flame.",
  foamFumes: "Foam gives off isocyanates: outdoors or a fan, mask and gloves, no flame while it cures.",
  alkaline: "Cement is alkaline: gloves, eyes; soak and rinse it before animals.",
  blade: "Razor and knife: cut away from the hand, eyes covered, blades counted.",
  siliconeFumes: "Silicone gives off fumes while it cures: air the room, gloves on.",
  glass: "Glass: gloves and eye cover. Never cut or drill tempered glass: it shatters.",
  lift: "Over 20 kg: lift with two.",
  waterPower: "Water near sockets: unplug everything, keep cables above the water, drip loops.",
  mesh: "Cut mesh ends are sharp: gloves, and turn or cover the edge.",
  bite: "Move animals with tools and a catch cup, a closed room and a second person, never by hand.",
} as const;
