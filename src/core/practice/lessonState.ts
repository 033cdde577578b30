import { bowlLine, bowlScore } from './bowlEnd';
import type { BowlState } from './bowlState';
import { causeLine, causeScore, playCause, type CauseState } from './causeLesson';
import { dyeLine, dyeScore, playDye, type DyeState } from './dyeLesson';
import { lessonById, type BowlLesson, type CauseLesson, type DyeLesson } from './lessons';
import type { LessonLine, Play, Score } from './play';
import { dealBowl, playBowl, type SmallestWay } from './smallestWay';

/** A lesson with what its moves made of it; the end is there once it is over. */
export type LessonState = {
  /** Null while it is played. */
  readonly score: Score | null;
  readonly line: LessonLine;
} & (
  | {
      readonly kind: 'bowl';
      readonly lesson: BowlLesson;
      readonly state: BowlState;
      readonly way: SmallestWay;
    }
  | { readonly kind: 'cause'; readonly lesson: CauseLesson; readonly state: CauseState }
  | { readonly kind: 'dye'; readonly lesson: DyeLesson; readonly state: DyeState }
);

/** What a play has become. @throws RangeError for a lesson that is not there */
export function lessonState({ lessonId, seed, moves }: Play): LessonState {
  const lesson = lessonById(lessonId);
  switch (lesson.kind) {
    case 'bowl': {
      const state = playBowl(lesson, seed, moves);
      const way = dealBowl(lesson, seed);
      const score = state.pieces ? bowlScore(state, way) : null;
      return { kind: 'bowl', lesson, state, way, score, line: bowlLine(state, way) };
    }
    case 'cause': {
      const state = playCause(seed, moves);
      const score = state.isDone ? causeScore(state) : null;
      return { kind: 'cause', lesson, state, score, line: causeLine(state) };
    }
    case 'dye': {
      const state = playDye(seed, moves);
      return {
        kind: 'dye',
        lesson,
        state,
        score: state.bowl ? dyeScore(state) : null,
        line: dyeLine(state),
      };
    }
  }
}
