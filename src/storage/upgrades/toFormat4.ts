import { plainOf, plainsOf, type Plain } from './plain';

/**
 * Format 4: what was stored as it was shown becomes codes and counts. Drops and spoons are counted, why something
 * was added is a code with the maker's own words beside it, and no code holds a space.
 * Pure, on records as format 3 stored them; what is there already stays.
 */
const CODES: ReadonlyMap<unknown, string> = new Map([
  ['simulated scale', 'simulated-scale'],
  ['serial scale', 'serial-scale'],
  ['simulated sensor', 'simulated-sensor'],
  ['serial sensor', 'serial-sensor'],
  ['embed powder', 'embed-powder'],
  ['bath dust', 'bath-dust'],
  ['thrown away', 'thrown-away'],
  ['at the bench', 'at-the-bench'],
  ['given up', 'given-up'],
  ['drying room', 'drying-room'],
  ['humidity sensor', 'humidity-sensor'],
  ['by color', 'by-color'],
  ['as the system', 'system'],
  ['bloom cup', 'bloom-cup'],
  ['second bowl', 'second-bowl'],
]);

const WHY: ReadonlyMap<unknown, string> = new Map([
  ['squeezed too dry', 'too-dry'],
  ['squeezed too wet', 'too-wet'],
  ['sprayed', 'sprayed'],
  ['not in the plan', 'unplanned'],
]);

export function batchTo4(batch: Plain): Plain {
  return {
    ...coded(batch, 'outcome'),
    body: bodyTo4(plainOf(batch.body)),
    request: requestTo4(plainOf(batch.request)),
    steps: plainsOf(batch.steps).map((step) => {
      const vessel = coded(step, 'vessel');
      return 'counted' in step ? { ...vessel, counted: countedTo4(step.counted) } : vessel;
    }),
    entries: plainsOf(batch.entries).map((entry) => addedTo4(coded(coded(entry, 'by'), 'fate'))),
  };
}

export function formulaTo4(formula: Plain): Plain {
  return {
    ...formula,
    body: bodyTo4(plainOf(formula.body)),
    versions: plainsOf(formula.versions).map((version) => ({
      ...version,
      body: bodyTo4(plainOf(version.body)),
    })),
  };
}

/** A sentence is no code: what it said is asked again. */
function bodyTo4(body: Plain): Plain {
  return {
    ...body,
    unread: plainsOf(body.unread).map((line) =>
      typeof line.reason === 'string' ? { ...line, reason: { code: 'before', about: '' } } : line,
    ),
  };
}

export function roomTo4(day: Plain): Plain {
  return {
    ...coded(day, 'place'),
    readings: plainsOf(day.readings).map((reading) => coded(reading, 'by')),
  };
}

export function toolTo4(tool: Plain): Plain {
  return coded(tool, 'kind');
}

export function settingsTo4(settings: Plain): Plain {
  const requests = Object.entries(plainOf(settings.requests));
  return {
    ...coded(coded(settings, 'look'), 'sensorPlace'),
    requests: Object.fromEntries(requests.map(([id, one]) => [id, requestTo4(plainOf(one))])),
  };
}

function requestTo4(request: Plain): Plain {
  return coded(request, 'bowls');
}

function coded(record: Plain, field: string): Plain {
  const code = CODES.get(record[field]);
  return code === undefined ? record : { ...record, [field]: code };
}

function addedTo4(entry: Plain): Plain {
  if (entry.kind !== 'added' || typeof entry.why !== 'string') return entry;
  const code = WHY.get(entry.why);
  return code === undefined
    ? { ...entry, why: 'unplanned', said: entry.why.slice(0, 200) }
    : { ...entry, why: code };
}

/** `14 drops`, `1/4 tsp + 1/32 tsp`, `1.25 times 1/4 tsp` as format 3 wrote them: drops, or 32nds of a teaspoon. */
function countedTo4(counted: unknown): unknown {
  const { how, text } = plainOf(counted);
  if (typeof text !== 'string') return counted ?? null;
  const times = Number(/^([\d.]+) times /.exec(text)?.[1] ?? 1);
  const one =
    how === 'drops'
      ? Number(/(\d+) drops?/.exec(text)?.[1] ?? 1)
      : [...text.matchAll(/(\d+)(?:\/(\d+))? tsp/g)].reduce(
          (sum, [, over, under]) => sum + (32 * Number(over)) / Number(under ?? 1),
          0,
        );
  return { how, count: Math.max(1, Math.round(one * times)) };
}
