import psychrolib from 'psychrolib';
import { describe, expect, it } from 'vitest';
import { saturationVaporPressureHPa } from '@/core/matter/air/moistAir';

psychrolib.SetUnitSystem(psychrolib.SI);
const TEMPS_C = Array.from({ length: 51 }, (_, tempC) => tempC);

describe('moist air against a reference package (psychrolib), 0 to 50 °C', () => {
  it('has the vapor pressure within 0.5 %', () => {
    for (const tempC of TEMPS_C.slice(1)) {
      const referenceHPa = psychrolib.GetSatVapPres(tempC) / 100;
      expect(Math.abs(saturationVaporPressureHPa(tempC) / referenceHPa - 1)).toBeLessThan(0.005);
    }
  });

  it('refuses what is no air', () => {
    expect(() => saturationVaporPressureHPa(200)).toThrow(/tempC must be -40 to 60/);
  });
});
