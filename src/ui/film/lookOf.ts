import { LIGHT } from '../palette';
import type { Look } from './scene';

/** How a film is drawn on this page: what is drawn keeps its tints in every look, what stands around it follows. */
export function lookOf(of: Element, share: number): Omit<Look, 'ofPiece' | 'ofFoam'> {
  const style = getComputedStyle(of);
  return {
    ink: LIGHT['drawn-ink'],
    rim: LIGHT.paper,
    hairline: LIGHT.hairline,
    outline: style.color,
    font: style.fontFamily,
    share,
  };
}
