/** The part of psychrolib that tests compare with; the package brings no types. */
declare module 'psychrolib' {
  const psychrolib: {
    readonly SI: number;
    SetUnitSystem(system: number): void;
    GetSatVapPres(celsius: number): number;
    GetVapPresFromRelHum(celsius: number, share: number): number;
    GetHumRatioFromRelHum(celsius: number, share: number, pascal: number): number;
    GetVaporPressureDeficit(celsius: number, ratio: number, pascal: number): number;
    GetTDewPointFromRelHum(celsius: number, share: number): number;
    GetTWetBulbFromRelHum(celsius: number, share: number, pascal: number): number;
    GetMoistAirVolume(celsius: number, ratio: number, pascal: number): number;
  };
  export default psychrolib;
}
