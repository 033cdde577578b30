import { USUAL_MONEY } from '@/core/work/cost/usual';
import type { Settings } from './settingsSchema';

/** A temperate room and a 0.1 g scale, until the maker says otherwise. */
export const USUAL_SETTINGS: Settings = {
  id: 'workshop',
  humidityPct: 45,
  tempC: 20,
  roomReadAt: null,
  tub: { volumeL: 150, alkalinityMgL: 100, tempC: 38 },
  basin: { volumeL: 5, alkalinityMgL: 100, tempC: 45 },
  scaleStepG: 0.1,
  scaleSource: 'typed',
  roomSource: 'typed',
  sensorPlace: 'workroom',
  serialBaud: 9600,
  makers: [],
  makerInHand: null,
  formulaInHandId: null,
  batchInHandId: null,
  look: 'system',
  requests: {},
  money: USUAL_MONEY,
  costings: {},
  plan: { hours: [], locks: [], humidityPct: null },
  maker: {
    name: '',
    address: '',
    contact: '',
    dataSheet: '',
    telephone: '',
    responsibleEu: '',
    responsibleUk: '',
    origin: '',
  },
};
