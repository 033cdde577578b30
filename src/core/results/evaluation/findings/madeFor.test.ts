import { describe, expect, it } from 'vitest';
import { bodyFrom } from '../../../../../tests/fixtures/bodies';
import { USUAL_CONDITIONS } from '../../conditions/types';
import { evaluate } from '../evaluate';
import { sayFinding } from '../messages';

const PLAIN = '200 g baking soda\n110 g citric acid\n20 g cornstarch\n4 g polysorbate 80';
function madeFor(note: string, more = '') {
  const body = { ...bodyFrom(`${PLAIN}${more}`), notes: [note] };
  return evaluate(body, USUAL_CONDITIONS).findings.flatMap((finding) =>
    finding.code === 'made-for'
      ? [{ whom: finding.facts.whom, severity: finding.severity, said: sayFinding(finding) }]
      : [],
  );
}

describe('whom the page says it is made for', () => {
  it.each([
    ['My baby loves these.', 'babies', 'warning'],
    ['For the birthday party of the kids', 'children', 'advice'],
    ['A gift for an expecting friend', 'pregnancy', 'advice'],
    ['Made for my dog', 'pets', 'warning'],
    ['Works well in a hot tub', 'jetted-tub', 'advice'],
    ['Put a ring inside', 'toy', 'advice'],
    ['Shaped like a cupcake', 'food', 'advice'],
  ])('%s', (note, whom, severity) => {
    const [found, ...others] = madeFor(note);
    expect(others).toEqual([]);
    expect(found).toMatchObject({ whom, severity });
    expect(found?.said.todo).toMatch(/\w.*\.$/);
  });

  it.each(['Keep away from children and pets.', 'Not for babies.', 'Press hard, then rest.'])(
    'a line that keeps it from them says nothing: %s',
    (note) => {
      expect(madeFor(note)).toEqual([]);
    },
  );

  it('more than 1% of scent is too much for a child', () => {
    expect(madeFor('For kids', '\n3.3 g lavender eo')).toMatchObject([{ severity: 'advice' }]);
    expect(madeFor('For kids', '\n3.5 g lavender eo')).toMatchObject([{ severity: 'warning' }]);
  });
});
