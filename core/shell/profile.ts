/** The inside of a shell as it widens from foot to rim, mm; a plain box has foot and rim alike. */
export interface Profile {
  round: boolean;
  footWidthMm: number;
  footDepthMm: number;
  rimWidthMm: number;
  rimDepthMm: number;
  heightMm: number;
  /** Radius of the upright corners, 0 for sharp ones and for rounds. */
  cornerRadiusMm: number;
}

/** A box's profile. */
export const boxProfile = ({ widthMm, depthMm, heightMm }: { widthMm: number; depthMm: number; heightMm: number }) =>
  ({
    round: false,
    footWidthMm: widthMm,
    footDepthMm: depthMm,
    rimWidthMm: widthMm,
    rimDepthMm: depthMm,
    heightMm,
    cornerRadiusMm: 0,
  }) satisfies Profile;

/** Inside area at a height above the base, mm². Rounded corners take (4 − π)·r². */
export function areaAtMm2(profile: Profile, zMm: number): number {
  const share = Math.min(1, Math.max(0, zMm / profile.heightMm));
  const w = profile.footWidthMm + share * (profile.rimWidthMm - profile.footWidthMm);
  const d = profile.footDepthMm + share * (profile.rimDepthMm - profile.footDepthMm);
  return profile.round ? (Math.PI / 4) * w * d : w * d - (4 - Math.PI) * profile.cornerRadiusMm ** 2;
}

/**
 * Volume below a height, mL, by the prismoidal rule h/6·(A_foot + 4·A_mid + A_top) (mensuration), which is exact for
 * straight walls.
 */
export function volumeBelowMl(profile: Profile, zMm: number): number {
  const h = Math.min(zMm, profile.heightMm);
  return ((h / 6) * (areaAtMm2(profile, 0) + 4 * areaAtMm2(profile, h / 2) + areaAtMm2(profile, h))) / 1000;
}
