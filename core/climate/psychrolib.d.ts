/** The reference library for moist air, of which only what is checked against is named. Pressures in Pa, temperatures in °C. */
declare module "psychrolib" {
  const psychrolib: {
    SI: number;
    SetUnitSystem(units: number): void;
    GetSatVapPres(tempC: number): number;
    GetHumRatioFromRelHum(tempC: number, share: number, pa: number): number;
    GetMoistAirVolume(tempC: number, humRatio: number, pa: number): number;
    GetTDewPointFromRelHum(tempC: number, share: number): number;
  };
  export default psychrolib;
}
