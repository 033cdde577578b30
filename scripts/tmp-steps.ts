import { readFileSync } from 'node:fs';
import { readRecipe } from '../src/core/formula/reading/readRecipe';
import { bodyOfRecipe } from '../src/core/formula/reading/bodyOfRecipe';
import { withHalves } from '../src/core/formula/model/halves';
import { SHIPPED } from '../src/core/matter/materials/catalog';
import { planScale } from '../src/core/work/scaling/plan';
import { requestFor } from '../src/core/work/scaling/request';
import { planSteps } from '../src/core/work/flow/stepsOf';
import { describeMold } from '../src/core/work/scaling/molds';
import { NO_MEANS } from '../src/core/work/scaling/means';
import { sheetRows } from '../src/core/work/bench-steps/sheet';
for (const f of process.argv.slice(2)) {
  const r = readRecipe(readFileSync(f, 'utf8'), SHIPPED);
  if (!r.ok) { console.log(f, r.problem); continue; }
  const body = withHalves(bodyOfRecipe(r.recipe), r.recipe.splitShares);
  console.log('===', f, r.recipe.title, body.family, body.method, body.yieldPieces ?? '', JSON.stringify(body.yieldPiece ?? {}));
  for (const p of body.parts) console.log('  ', p.kind, p.name, p.perPieceG ?? '', p.lines.map((l) => `${l.materialId} ${+l.massG.toFixed(3)}${l.how ? '/' + l.how : ''}`).join(', '));
  for (const u of body.unread) console.log('   ASK', u.text);
  const req = requestFor(body);
  const res = planScale(body, { ...req, scaleStepG: 0.1 } as never, { ...NO_MEANS, catalog: SHIPPED });
  if (!res.ok) { console.log(res.problem); continue; }
  const { plan } = res;
  console.log('   plan', plan.pieces, plan.pieceG.toFixed(1), describeMold(plan.sets[0]!.mold), 'bowls', plan.bowlCount, 'left', plan.leftoverG.toFixed(1));
  const steps = planSteps(body, plan.lines, { catalog: SHIPPED, pieceG: plan.pieceG, pieces: plan.pieces, stepG: 0.1, sets: plan.sets });
  for (const row of sheetRows(steps)) console.log('     ', `[${row.kind}]`, row.title, '|', row.amount, row.tolerance, '|', row.note);
}
