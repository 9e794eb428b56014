import { expose } from "comlink";

/** A photograph made small: a JPEG without anything its camera wrote into it. */
export interface SmallPhoto {
  jpeg: Blob;
  widthPx: number;
  heightPx: number;
}

const QUALITY = 0.82;

const door = {
  /**
   * Draws a picture anew, small: what is drawn has no place, time or camera in it.
   * @param longestPx of its sides
   */
  async small(file: Blob, longestPx: number): Promise<SmallPhoto> {
    const picture = await createImageBitmap(file, { imageOrientation: "from-image" });
    const scale = Math.min(1, longestPx / Math.max(picture.width, picture.height));
    const [widthPx, heightPx] = [Math.round(picture.width * scale), Math.round(picture.height * scale)];
    const canvas = new OffscreenCanvas(widthPx, heightPx);
    canvas.getContext("2d")!.drawImage(picture, 0, 0, widthPx, heightPx);
    picture.close();
    return { jpeg: await canvas.convertToBlob({ type: "image/jpeg", quality: QUALITY }), widthPx, heightPx };
  },
};
export type PhotoDoor = typeof door;

expose(door);
