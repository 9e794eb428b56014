/** Width (x), depth (y) and height (z) in millimetres. */
export interface Size3 {
  widthMm: number;
  depthMm: number;
  heightMm: number;
}
