import type { Rule } from '../rule';
import { length } from './length';
import { sectionRange } from './sectionRange';
import { footing } from './footing';
import { conditions } from './conditions';
import { mayNot } from './mayNot';
import { riskUnsaid } from './riskUnsaid';
import { coldJoints } from './coldJoints';
import { unevenCount } from './unevenCount';
import { unevenSeconds } from './unevenSeconds';
import { missingSide } from './missingSide';
import { circlesOneWay } from './circlesOneWay';
import { countAnnounced } from './countAnnounced';
import { cueSide } from './cueSide';
import { cueShown } from './cueShown';
import { cueBreath } from './cueBreath';
import { wordsAgainstBody } from './wordsAgainstBody';
import { cueTooLong } from './cueTooLong';
import { talk } from './talk';
import { partAbsent } from './partAbsent';
import { stanceHopping } from './stanceHopping';
import { routeFlow } from './routeFlow';
import { routeDeclared } from './routeDeclared';
import { breathCustom } from './breathCustom';
import { breathedTwoWays } from './breathedTwoWays';
import { exhaleRoute } from './exhaleRoute';
import { armsUpLong } from './armsUpLong';
import { lowLong } from './lowLong';
import { oneLegLong } from './oneLegLong';
import { nourishBeforeClear } from './nourishBeforeClear';
import { exhaleLong } from './exhaleLong';
import { layerUnlaid } from './layerUnlaid';
import { patternHurried } from './patternHurried';
import { patternTaught } from './patternTaught';
import { soundPlace } from './soundPlace';
import { soundRound } from './soundRound';
import { soundSchool } from './soundSchool';
import { soundBeforeSettling } from './soundBeforeSettling';
import { percussionStill } from './percussionStill';
import { vigorousEnd } from './vigorousEnd';
import { noGathering } from './noGathering';
import { missingHinge } from './missingHinge';
import { nearTwins } from './nearTwins';
import { setOrderRule } from './setOrder';
import { otherSchool } from './otherSchool';
import { hour } from './hour';
import { season } from './season';
import { seasonSchool } from './seasonSchool';
import { asAsked } from './asAsked';
import { reach } from './reach';
import { lastTime } from './lastTime';
import { beginnerLoad } from './beginnerLoad';
import { slipWords } from './slipWords';

/** Every rule of the margin. Adding one is a file and a line. */
export const RULES: readonly Rule[] = [
  length,
  sectionRange,
  asAsked,
  footing,
  conditions,
  mayNot,
  riskUnsaid,
  coldJoints,
  unevenCount,
  unevenSeconds,
  missingSide,
  circlesOneWay,
  countAnnounced,
  cueSide,
  cueShown,
  cueBreath,
  wordsAgainstBody,
  cueTooLong,
  talk,
  partAbsent,
  stanceHopping,
  routeFlow,
  routeDeclared,
  breathCustom,
  breathedTwoWays,
  exhaleRoute,
  armsUpLong,
  lowLong,
  oneLegLong,
  nourishBeforeClear,
  soundBeforeSettling,
  exhaleLong,
  layerUnlaid,
  patternHurried,
  patternTaught,
  soundPlace,
  soundRound,
  soundSchool,
  percussionStill,
  vigorousEnd,
  noGathering,
  missingHinge,
  nearTwins,
  setOrderRule,
  otherSchool,
  hour,
  season,
  seasonSchool,
  reach,
  lastTime,
  beginnerLoad,
  slipWords,
];
