/** The reference package for moist air ships without types; only what the checks call. */
declare module 'psychrolib' {
  const psychrolib: {
    readonly SI: number;
    SetUnitSystem(system: number): void;
    GetSatVapPres(tempC: number): number;
    GetTDewPointFromRelHum(tempC: number, relativeHumidityFraction: number): number;
  };
  export default psychrolib;
}
