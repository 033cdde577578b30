import { isPlain, plainOf, type Plain, type PlainRecords } from './plain';

const MARKETS_OF: Readonly<Record<string, readonly string[]>> = {
  eu: ['eu'],
  us: ['us'],
  both: ['eu', 'us'],
};

/** Labels of several markets, what a piece is sold as, what is filed, and who answers for it where. */
export function recordsTo10(stored: PlainRecords): PlainRecords {
  return {
    ...stored,
    units: (stored.units ?? []).map(unitTo10),
    settings: (stored.settings ?? []).map(settingsTo10),
  };
}

function unitTo10(unit: Plain): Plain {
  if (!isPlain(unit.label)) return unit;
  const { market, ...label } = unit.label;
  const markets = MARKETS_OF[String(market)] ?? market;
  return { filings: [], ...unit, label: { soldAs: null, ufi: '', markets, ...label } };
}

function settingsTo10(settings: Plain): Plain {
  const none = { telephone: '', responsibleEu: '', responsibleUk: '', origin: '' };
  return { ...settings, maker: { ...none, ...plainOf(settings.maker) } };
}
