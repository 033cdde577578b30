import { plainOf, plainsOf, type Plain } from './plain';

/**
 * Format 3: materials, lots, molds and tools of the shelf; plans by scale, bowl, fill weight and way; a basin; money;
 * readings of rooms, photos, devices and makers.
 * Pure, on records as format 2 stored them; what is there already stays.
 */
export function batchTo3(batch: Plain): Plain {
  const request = requestTo3(plainOf(batch.request));
  const plan = plainOf(batch.plan);
  const stepG = request.scaleStepG;
  return {
    ...batch,
    request,
    plan: { ...plan, lines: plainsOf(plan.lines).map((line) => ({ stepG, ...line })) },
    steps: plainsOf(batch.steps).map((step) =>
      step.kind === 'weigh' ? { stepG, counted: null, premix: null, lots: [], ...step } : step,
    ),
  };
}

/** What ten squirts and a milliliter of drops were moves to {@link toolsOf2}. */
export function settingsTo3(settings: Plain): Plain {
  const { gramsPerSquirt: _, oilDropsPerMl: __, ...kept } = settings;
  const requests = Object.entries(plainOf(settings.requests));
  return {
    basin: { volumeL: 5, alkalinityMgL: 100, tempC: 45 },
    money: {
      currency: 'USD',
      roundTo: 0.05,
      laborPerHour: 18,
      wholesaleMarginPct: 40,
      retailMarginPct: 65,
    },
    costings: {},
    roomSource: 'typed',
    sensorPlace: 'workroom',
    serialBaud: 9600,
    makers: [],
    makerInHand: null,
    ...kept,
    requests: Object.fromEntries(requests.map(([id, one]) => [id, requestTo3(plainOf(one))])),
  };
}

/** Oil as it was taken for when drops were counted, g/mL. */
const OIL_G_ML = 0.92;

/** The sprayer and the dropper of format 2's settings, as tools. */
export function toolsOf2(settings: Plain): Plain[] {
  const { gramsPerSquirt, oilDropsPerMl } = settings;
  return [
    ...(typeof gramsPerSquirt === 'number'
      ? [
          {
            id: 'c5b0c6f2-5a5c-4a0e-9d0a-3f1f6a1c0001',
            origin: 'own',
            name: 'Sprayer',
            kind: 'sprayer',
            rank: 0,
            tenSquirtsG: gramsPerSquirt * 10,
          },
        ]
      : []),
    ...(typeof oilDropsPerMl === 'number'
      ? [
          {
            id: 'c5b0c6f2-5a5c-4a0e-9d0a-3f1f6a1c0002',
            origin: 'own',
            name: 'Dropper',
            kind: 'dropper',
            rank: 0,
            twentyDropsG: (20 * OIL_G_ML) / oilDropsPerMl,
          },
        ]
      : []),
  ];
}

function requestTo3(request: Plain): Plain {
  return { moldId: null, fillG: null, bowls: 'equal', ways: {}, ...request };
}
