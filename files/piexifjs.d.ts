/** What of it tests use: it writes what cameras write. */
declare module "piexifjs" {
  type Tags = Record<number, unknown>;
  const piexif: {
    GPSIFD: { GPSLatitudeRef: number; GPSLatitude: number; GPSLongitudeRef: number; GPSLongitude: number };
    ImageIFD: { Make: number };
    GPSHelper: { degToDmsRational: (degrees: number) => unknown };
    dump: (exif: { "0th"?: Tags; GPS?: Tags }) => string;
    insert: (exif: string, jpeg: string) => string;
  };
  export default piexif;
}
