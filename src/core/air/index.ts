export { absoluteHumidityGM3, dewPointC, saturationVaporPressureHPa } from './moistAir';
