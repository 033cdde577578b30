import { PHASES, type Phase } from '@/core/matter/materials/types';
import type { Material } from '@/core/matter/materials/material';
import { exactly, type Spread } from '@/core/basics/units/spread';
import { lineOf, newLine } from './create';
import { MAX_LINE_G } from './kinds';
import type { FormulaBody, Line } from './schema';
import { isStrained } from './ways';

/**
 * Editing operations: each takes a body and returns a new one, sharing what did not change,
 * so that undo is a list of bodies. An id that is not there is a broken caller and throws.
 */

/** Adds a line at the end of its phase. @param amountG grams with their spread */
export function addLine(
  body: FormulaBody,
  partId: string,
  material: Material,
  amountG: Spread,
): FormulaBody {
  checkAmount(amountG);
  return insertByPhase(body, partId, lineOf(material, amountG));
}

/**
 * Adds grams of a material: onto its first unlocked line in the main mix, or as a new line.
 * @param massG over 0
 */
export function addMass(body: FormulaBody, material: Material, massG: number): FormulaBody {
  const main = body.parts[0];
  if (!main) throw new RangeError('a formula must have a main mix');
  const existing = main.lines.find((line) => line.materialId === material.id && !line.locked);
  return existing
    ? setLineMass(body, existing.id, existing.massG + massG)
    : addLine(body, main.id, material, exactly(massG));
}

export function removeLine(body: FormulaBody, lineId: string): FormulaBody {
  partOf(body, lineId);
  return mapParts(body, (lines) => lines.filter((line) => line.id !== lineId));
}

/** A typed weight is certain: it replaces the spread of a cup. */
export function setLineMass(body: FormulaBody, lineId: string, massG: number): FormulaBody {
  return setLineAmount(body, lineId, exactly(massG));
}

/** An amount with its honest spread, as a typed `2 tbsp` has one. @param amountG grams */
export function setLineAmount(body: FormulaBody, lineId: string, amountG: Spread): FormulaBody {
  const { low, best, high } = checkAmount(amountG);
  return mapLine(body, lineId, (line) => ({
    ...line,
    massG: best,
    massLowG: low,
    massHighG: high,
  }));
}

export function setLineLocked(body: FormulaBody, lineId: string, locked: boolean): FormulaBody {
  return mapLine(body, lineId, (line) => ({ ...line, locked }));
}

export function setLineMaterial(
  body: FormulaBody,
  lineId: string,
  material: Material,
): FormulaBody {
  return mapLine(body, lineId, (line) => ({ ...newLine(material, line.massG), id: line.id }));
}

/**
 * Pulls the boundary between two lines: the upper gains what the lower loses, their sum stays.
 * The move is cut where one of them would go below zero. A locked line does not move.
 */
export function tradeMass(
  body: FormulaBody,
  upperId: string,
  lowerId: string,
  gainG: number,
): FormulaBody {
  const upper = lineById(body, upperId);
  const lower = lineById(body, lowerId);
  if (upper.locked || lower.locked) return body;
  const movedG = Math.max(-upper.massG, Math.min(lower.massG, gainG));
  if (!(movedG !== 0)) return body;
  return setLineMass(
    setLineMass(body, upperId, upper.massG + movedG),
    lowerId,
    lower.massG - movedG,
  );
}

/**
 * Lines of one part in a new order, which may not add or lose any.
 * @param movedId the line that was carried; where its phase would break the grouping it takes its new neighbor's
 */
export function reorderLines(
  body: FormulaBody,
  partId: string,
  lineIds: readonly string[],
  movedId: string,
): FormulaBody {
  const part = partById(body, partId);
  const byId = new Map(part.lines.map((line) => [line.id, line]));
  const lines = lineIds.map((id) => byId.get(id)).filter((line) => line !== undefined);
  if (lines.length !== part.lines.length || new Set(lineIds).size !== part.lines.length)
    throw new RangeError(`lineIds must name each of the ${part.lines.length} lines once`);
  return mapPart(body, partId, () =>
    lines.map((line, i) =>
      line.id === movedId
        ? { ...line, phase: phaseBetween(line, lines[i - 1], lines[i + 1]) }
        : line,
    ),
  );
}

/** Moves a line one place up (-1) or down (+1). At the edge of its phase it first changes phase; at the end it stays. */
export function moveLine(body: FormulaBody, lineId: string, step: -1 | 1): FormulaBody {
  const part = partOf(body, lineId);
  const ids = part.lines.map((line) => line.id);
  const from = ids.indexOf(lineId);
  const other = part.lines[from + step];
  if (!other) return body;
  const line = lineById(body, lineId);
  if (other.phase !== line.phase) return setLinePhase(body, lineId, other.phase);
  ids[from + step] = lineId;
  ids[from] = other.id;
  return reorderLines(body, part.id, ids, lineId);
}

export function setLinePhase(body: FormulaBody, lineId: string, phase: Phase): FormulaBody {
  return mapLine(body, lineId, (line) => ({ ...line, phase }));
}

/** An unread line has been answered (or given up): it leaves, and the line it turned out to be comes in. */
export function settleUnread(body: FormulaBody, unreadId: string, line: Line | null): FormulaBody {
  const unread = body.unread.find((entry) => entry.id === unreadId);
  if (!unread) throw new RangeError(`unread line ${unreadId} is not in this formula`);
  const without = { ...body, unread: body.unread.filter((entry) => entry.id !== unreadId) };
  return line ? insertByPhase(without, unread.partId, line) : without;
}

/** Every line with its part, in the order they stand. */
export function allLines(body: FormulaBody): readonly Line[] {
  return body.parts.flatMap((part) => part.lines);
}

/** Lines that are in what is made, without herbs that are strained off. */
export function stayingLines(body: FormulaBody): readonly Line[] {
  return allLines(body).filter((line) => !isStrained(line));
}

/** Sum of all lines in grams. */
export function totalMassG(body: FormulaBody): number {
  return allLines(body).reduce((sum, line) => sum + line.massG, 0);
}

/** @throws RangeError when the line is not in the body */
export function lineById(body: FormulaBody, lineId: string): Line {
  const line = allLines(body).find((candidate) => candidate.id === lineId);
  if (!line) throw new RangeError(`line ${lineId} is not in this formula`);
  return line;
}

function phaseBetween(line: Line, above: Line | undefined, below: Line | undefined): Phase {
  const rank = PHASES.indexOf(line.phase);
  if (above && PHASES.indexOf(above.phase) > rank) return above.phase;
  if (below && PHASES.indexOf(below.phase) < rank) return below.phase;
  return line.phase;
}

function insertByPhase(body: FormulaBody, partId: string, line: Line): FormulaBody {
  return mapPart(body, partId, (lines) => {
    const rank = PHASES.indexOf(line.phase);
    const after = lines.findLastIndex((other) => PHASES.indexOf(other.phase) <= rank);
    return [...lines.slice(0, after + 1), line, ...lines.slice(after + 1)];
  });
}

function partById(body: FormulaBody, partId: string) {
  const part = body.parts.find((candidate) => candidate.id === partId);
  if (!part) throw new RangeError(`part ${partId} is not in this formula`);
  return part;
}

function partOf(body: FormulaBody, lineId: string) {
  const part = body.parts.find((candidate) => candidate.lines.some((line) => line.id === lineId));
  if (!part) throw new RangeError(`line ${lineId} is not in this formula`);
  return part;
}

function mapPart(
  body: FormulaBody,
  partId: string,
  change: (lines: Line[]) => Line[],
): FormulaBody {
  partById(body, partId);
  return {
    ...body,
    parts: body.parts.map((part) =>
      part.id === partId ? { ...part, lines: change(part.lines) } : part,
    ),
  };
}

function mapParts(body: FormulaBody, change: (lines: Line[]) => Line[]): FormulaBody {
  return { ...body, parts: body.parts.map((part) => ({ ...part, lines: change(part.lines) })) };
}

function mapLine(body: FormulaBody, lineId: string, change: (line: Line) => Line): FormulaBody {
  const part = partOf(body, lineId);
  return mapPart(body, part.id, (lines) =>
    lines.map((line) => (line.id === lineId ? change(line) : line)),
  );
}

function checkAmount(amountG: Spread): Spread {
  [amountG.low, amountG.best, amountG.high].forEach(checkMass);
  return amountG;
}

function checkMass(massG: number): number {
  if (!(massG >= 0 && massG <= MAX_LINE_G))
    throw new RangeError(`massG must be 0 to ${MAX_LINE_G}, got ${massG}`);
  return massG;
}
