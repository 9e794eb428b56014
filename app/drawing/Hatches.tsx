/** Hatch patterns that tell materials apart without colour. Ids are shared by every drawing on a page. */
export function Hatches() {
  const line = "var(--chakra-colors-muted)";
  return (
    <defs>
      <pattern id="hatch-sheet" width="12" height="12" patternUnits="userSpaceOnUse">
        <rect width="12" height="12" fill="var(--chakra-colors-sheet)" />
        <path d="M0 12h12" stroke="var(--chakra-colors-line)" strokeWidth="0.6" />
      </pattern>
      <pattern id="hatch-wood" width="9" height="9" patternUnits="userSpaceOnUse">
        <rect width="9" height="9" fill="var(--chakra-colors-wood)" />
        <path d="M0 8.5h9" stroke={line} strokeWidth="0.4" strokeOpacity="0.6" />
      </pattern>
      <pattern id="hatch-glass" width="14" height="14" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="14" height="14" fill="var(--chakra-colors-water-soft)" />
        <path d="M0 0v14" stroke="var(--chakra-colors-water)" strokeWidth="0.5" strokeOpacity="0.5" />
      </pattern>
      <pattern id="hatch-tempered" width="14" height="14" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="14" height="14" fill="var(--chakra-colors-water-soft)" />
        <path d="M0 0v14M0 0h14" stroke="var(--chakra-colors-water)" strokeWidth="0.5" strokeOpacity="0.5" />
      </pattern>
      <pattern id="hatch-plastic" width="10" height="10" patternUnits="userSpaceOnUse">
        <rect width="10" height="10" fill="var(--chakra-colors-sheet)" />
        <circle cx="3" cy="3" r="0.7" fill="var(--chakra-colors-line)" />
        <circle cx="8" cy="8" r="0.7" fill="var(--chakra-colors-line)" />
      </pattern>
      <pattern id="hatch-board" width="8" height="8" patternUnits="userSpaceOnUse">
        <rect width="8" height="8" fill="var(--chakra-colors-wood)" />
        <path d="M1 2h2M5 6h2" stroke={line} strokeWidth="0.7" strokeOpacity="0.7" />
      </pattern>
      <pattern id="hatch-metal" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="6" height="6" fill="var(--chakra-colors-rail)" />
        <path d="M0 0v6M3 0v6" stroke={line} strokeWidth="0.5" />
      </pattern>
      <pattern id="hatch-water" width="9" height="6" patternUnits="userSpaceOnUse">
        <rect width="9" height="6" fill="var(--chakra-colors-water-soft)" />
        <path d="M0 4q2.2-2 4.5 0t4.5 0" fill="none" stroke="var(--chakra-colors-water)" strokeWidth="0.6" />
      </pattern>
      <pattern id="hatch-mesh" width="4" height="4" patternUnits="userSpaceOnUse">
        <rect width="4" height="4" fill="var(--chakra-colors-paper)" />
        <path d="M0 0h4M0 0v4" stroke={line} strokeWidth="0.5" />
      </pattern>
      <pattern id="hatch-ground" width="7" height="7" patternUnits="userSpaceOnUse">
        <rect width="7" height="7" fill="var(--chakra-colors-straw)" fillOpacity="0.55" />
        <circle cx="2" cy="2" r="0.8" fill={line} />
        <circle cx="5.5" cy="5.5" r="0.6" fill={line} />
      </pattern>
      <pattern id="hatch-foam" width="12" height="12" patternUnits="userSpaceOnUse">
        <rect width="12" height="12" fill="var(--chakra-colors-straw)" />
        <circle cx="3" cy="3" r="1.3" fill="none" stroke={line} strokeWidth="0.4" strokeOpacity="0.7" />
        <circle cx="9" cy="8" r="1.8" fill="none" stroke={line} strokeWidth="0.4" strokeOpacity="0.7" />
      </pattern>
      <pattern id="hatch-clay" width="8" height="8" patternUnits="userSpaceOnUse">
        <rect width="8" height="8" fill="var(--chakra-colors-sheet)" />
        <circle cx="2.2" cy="2.2" r="1.7" fill="var(--chakra-colors-clay)" fillOpacity="0.55" />
        <circle cx="6.2" cy="6.2" r="1.7" fill="var(--chakra-colors-clay)" fillOpacity="0.55" />
      </pattern>
      <pattern id="hatch-charcoal" width="5" height="5" patternUnits="userSpaceOnUse">
        <rect width="5" height="5" fill="var(--chakra-colors-muted)" />
        <path d="M0 5l5-5" stroke="var(--chakra-colors-sheet)" strokeWidth="0.6" />
      </pattern>
      <pattern id="hatch-piece" width="8" height="5" patternUnits="userSpaceOnUse">
        <rect width="8" height="5" fill="var(--chakra-colors-wood-dark)" />
        <path d="M0 4h8" stroke="var(--chakra-colors-sheet)" strokeWidth="0.4" strokeOpacity="0.6" />
      </pattern>
      <pattern id="hatch-stone" width="10" height="10" patternUnits="userSpaceOnUse">
        <rect width="10" height="10" fill="var(--chakra-colors-rail)" />
        <path d="M1 3l3-2 3 3M5 9l2-3 3 2" fill="none" stroke={line} strokeWidth="0.7" />
      </pattern>
      <pattern id="hatch-soaked" width="9" height="6" patternUnits="userSpaceOnUse">
        <path d="M0 4q2.2-2 4.5 0t4.5 0" fill="none" stroke="var(--chakra-colors-water)" strokeWidth="0.8" />
      </pattern>
      <pattern id="hatch-keep" width="10" height="10" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="10" height="10" fill="var(--chakra-colors-fern-soft)" />
        <path d="M0 0v10" stroke="var(--chakra-colors-fern)" strokeWidth="0.6" strokeOpacity="0.5" />
      </pattern>
    </defs>
  );
}
