import psychrolib from 'psychrolib';
import { describe, expect, it } from 'vitest';
import {
  absoluteHumidityGM3,
  dewPointC,
  saturationVaporPressureHPa,
} from '@/core/matter/air/moistAir';

psychrolib.SetUnitSystem(psychrolib.SI);
const TEMPS_C = Array.from({ length: 51 }, (_, tempC) => tempC);

describe('moist air against a reference package (psychrolib), 0 to 50 °C', () => {
  it('has the vapor pressure within 0.5 %', () => {
    for (const tempC of TEMPS_C.slice(1)) {
      const referenceHPa = psychrolib.GetSatVapPres(tempC) / 100;
      expect(Math.abs(saturationVaporPressureHPa(tempC) / referenceHPa - 1)).toBeLessThan(0.005);
    }
  });

  it('has the dew point within a tenth of a degree', () => {
    for (const tempC of [5, 15, 20, 30, 45])
      for (const humidityPct of [20, 45, 60, 90]) {
        const reference = psychrolib.GetTDewPointFromRelHum(tempC, humidityPct / 100);
        if (reference > 0)
          expect(Math.abs(dewPointC(tempC, humidityPct) - reference)).toBeLessThan(0.1);
      }
  });

  it('has 17.3 g of water in a cubic meter of saturated air at 20 °C (handbook value, from memory)', () => {
    expect(Math.abs(absoluteHumidityGM3(20, 100) / 17.3 - 1)).toBeLessThan(0.005);
    expect(absoluteHumidityGM3(20, 0)).toBe(0);
  });

  it('refuses what is no air', () => {
    expect(() => saturationVaporPressureHPa(200)).toThrow(/tempC must be -40 to 60/);
    expect(() => dewPointC(20, 0)).toThrow(/humidityPct must be over 0/);
  });
});
