/**
 * What each form asks, measured on its solved postures at the usual pace. Written by
 * `npm run measure`; a unit test measures again.
 */
// prettier-ignore
export const MEASURED = {
  'arrive-wuji': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'arrive-cleansing-breaths': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'loosen-ankles': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'loosen-knees': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'loosen-hips': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'slight', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'loosen-side-bend': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'full', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false },
  },
  'loosen-shoulders': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'loosen-wrists': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'loosen-neck': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false },
  },
  'shaking': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'swing-and-knock': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'swing-arms-level': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'heel-drops': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'tap-arms': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'tap-legs': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'trace-lung-large-intestine': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'trace-heart-small-intestine': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'trace-pericardium-triple-burner': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'trace-spleen-stomach': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'trace-kidney-bladder': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'trace-liver-gallbladder': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'sound-liver': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'sound-heart': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'sound-spleen': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'sound-lung': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'sound-kidney': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'sound-triple-burner': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'parting-branches': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'new-growth': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'opening-the-chest': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'palm-gate-breathing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'three-rooms': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'turning-the-millstone': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: true },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'belly-harvest': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'mist-over-the-lake': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'pushing-waves': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'drawing-up-the-spring': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'warming-the-kidneys': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'deep-water-breathing': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'brocade-hold-up-the-sky': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'brocade-draw-the-bow': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false },
  },
  'brocade-part-heaven-and-earth': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'brocade-look-back': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false },
  },
  'brocade-sway': {
    full: { kneeBend: 'deep', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false },
  },
  'brocade-hands-to-feet': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'deep', headBelowHeart: true, backBend: 'slight', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'brocade-clench-fists': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'animal-tiger': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'animal-deer': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'full', sideBend: 'none', neck: 'turn', legsCross: false, stepping: true },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'animal-bear': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'animal-monkey': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false },
  },
  'animal-bird': {
    full: { kneeBend: 'slight', oneLegSec: 5, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'slight', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'hold-embrace-chest': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'hold-embrace-belly': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'rise-and-sink': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'cloud-hands': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'small-orbit': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'sky-gathering': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'face-washing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'storing-circles': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'close-hands-to-belly': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
} as const;
