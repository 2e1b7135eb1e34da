/**
 * What each form asks, measured on its solved postures at the usual pace. Written by
 * `npm run measure`; a unit test measures again.
 */
// prettier-ignore
export const MEASURED = {
  'arrive-wuji': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'arrive-cleansing-breaths': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 5 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'loosen-ankles': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'low', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'loosen-knees': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'loosen-hips': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'slight', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'loosen-side-bend': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'full', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 24 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'loosen-shoulders': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'loosen-wrists': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'loosen-neck': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'loosen-feet-rocking': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'loosen-leg-pendulum': {
    full: { kneeBend: 'slight', oneLegSec: 3, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'loosen-waist': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'loosen-elbows': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'loosen-fingers': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'loosen-arm-wheels': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 8 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'loosen-shoulder-blades': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'slight', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'slight', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'loosen-neck-tilt': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'tilt', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'tilt', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'loosen-neck-turtle': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'spinal-wave': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'slight', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'spine-bellows': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'dragon-spine': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'hanging-fold': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'deep', headBelowHeart: true, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'full', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'figure-eight-hang': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: true, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'bow-from-the-hips': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'twist-to-the-heel': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'crescent-moon': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 26 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'bow-stance-turn': {
    full: { kneeBend: 'deep', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'shaking': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'low', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'swing-and-knock': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'swing-arms-level': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'heel-drops': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'low', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'tap-legs-outside': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'tap-legs-front': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'tap-legs-back': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'tap-legs-inside': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'tap-chest': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'tap-flanks': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'tap-kidneys': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'tap-sacrum': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'tap-head': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 4 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 4 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 4 },
  },
  'tap-belly': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'bouncing': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'shaking-limbs': {
    full: { kneeBend: 'none', oneLegSec: 4, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'low', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'low', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'shaking-off': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'swing-knock-ribs': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'swing-knock-shoulders': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: false, foldWithTurn: false, armsUpSec: 2 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'wake-round-rubbing': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'wake-ears': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 8 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 8 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 8 },
  },
  'wake-teeth': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'heel-sink': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'low', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'tap-whole-body-pass': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'tap-whole-body-slow': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: true, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 4 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 5 },
  },
  'base-of-skull': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 5 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 2 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 5 },
  },
  'temples-circled': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 5 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 2 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 7 },
  },
  'breastbone-sigh': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'collarbone-hum': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'armpit-to-hip': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'hip-ring': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'inner-elbow': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'knee-hollow': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'hand-valley': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'inner-gate-kneaded': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'great-surge-kneaded': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'foot-edge-stroked': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'kneecaps-warmed': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'heavenly-drum': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 5 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 2 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 5 },
  },
  'eyes-rolled': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'eyes-near-and-far': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'nose-sides': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 5 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 2 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 5 },
  },
  'tongue-stirred': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'belt-rubbed': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'soles-rubbed': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'dry-washing': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 2 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 1 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 2 },
  },
  'tap-arms': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 1 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 1 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 1 },
  },
  'tap-legs': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'deep', headBelowHeart: true, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'trace-lung-large-intestine': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 2 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 2 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 2 },
  },
  'trace-heart-small-intestine': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'trace-pericardium-triple-burner': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 2 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 2 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 2 },
  },
  'trace-spleen-stomach': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'deep', headBelowHeart: true, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'trace-kidney-bladder': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'deep', headBelowHeart: true, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'trace-liver-gallbladder': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'deep', headBelowHeart: true, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'sound-liver': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'sound-heart': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'sound-spleen': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'sound-lung': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'sound-kidney': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'sound-triple-burner': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 4 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'parting-branches': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'new-growth': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 8 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'opening-the-chest': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'palm-gate-breathing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'three-rooms': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'turning-the-millstone': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'belly-harvest': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'mist-over-the-lake': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'pushing-waves': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'drawing-up-the-spring': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'warming-the-kidneys': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'deep-water-breathing': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'phase-wood-sapling': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'phase-fire-blossom': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'phase-earth-turning-ground': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'phase-metal-autumn-air': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'phase-water-well': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'wave-wood': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'wave-fire': {
    full: { kneeBend: 'deep', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'wave-earth': {
    full: { kneeBend: 'deep', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'wave-metal': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'wave-water': {
    full: { kneeBend: 'deep', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'open-and-close': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'push-and-draw': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'wheel': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: true, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 5 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'parting-clouds': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 2 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'ball-of-qi': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'growing-ball': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'spiralling-arms': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'twining-vine': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'lifting-the-lake': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'draw-up-press-down': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'sweeping-across': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'crane-stands': {
    full: { kneeBend: 'none', oneLegSec: 11, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'low', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'heron-walks': {
    full: { kneeBend: 'slight', oneLegSec: 1, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'low', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'heel-pushes': {
    full: { kneeBend: 'none', oneLegSec: 11, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'rocking-bamboo': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'held-bow': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'held-turn': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'held-sky': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 14 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'held-basin': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'push-draw-full-empty': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'horse-rise-and-sink': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'wrists-pressed-out': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'trunk-circles': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'neck-half-circles': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'tilt', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'tilt', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'roll-down-roll-up': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'deep', headBelowHeart: true, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'full', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'staged-breath-lift': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'shoulder-stretch-behind': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'spiral-one-hand': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'spiral-two-hands': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'spiral-bow-step': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'spiral-shoulder': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'spiral-elbow': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'spiral-hip': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'spiral-knee': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'spiral-ankle': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'low', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'coils-three-centres': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 2 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'spine-sideways-wave': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'spine-turning-wave': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'tail-wag': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'all-fours-round-and-long': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: true, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: true, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'stacking-up': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'brocade-hold-up-the-sky': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 5 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'brocade-draw-the-bow': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'brocade-part-heaven-and-earth': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 9 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'brocade-look-back': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'brocade-sway': {
    full: { kneeBend: 'deep', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: true, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'brocade-hands-to-feet': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'deep', headBelowHeart: true, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'full', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'brocade-clench-fists': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'gentle-hold-up-the-sky': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'gentle-draw-the-bow': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'gentle-part-heaven-and-earth': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'gentle-look-back': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'gentle-sway': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'gentle-heels': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'gentle-clench-fists': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'gentle-hands-to-feet': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'animal-tiger': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 5 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'animal-deer': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'full', sideBend: 'none', neck: 'turn', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 17 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'animal-bear': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'animal-monkey': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'animal-bird': {
    full: { kneeBend: 'slight', oneLegSec: 5, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'slight', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 5 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'animal-tiger-pounce': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'animal-deer-run': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'slight', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'animal-bear-sway': {
    full: { kneeBend: 'moderate', oneLegSec: 3, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'low', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'animal-monkey-pick': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: false, foldWithTurn: false, armsUpSec: 20 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'animal-bird-fly': {
    full: { kneeBend: 'slight', oneLegSec: 3, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 6 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'low', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'animal-bear-turning': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'animal-bear-pushing': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'animal-tiger-empty-step': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'animal-tiger-aslant': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'animal-deer-listening': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 26 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'animal-bird-one-leg': {
    full: { kneeBend: 'slight', oneLegSec: 3, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'animal-crane-washes': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'animal-monkey-hides': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'low', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'tendon-staff-first': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'tendon-staff-second': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'tendon-staff-third': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'low', unsteady: true, foldWithTurn: false, armsUpSec: 5 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'tendon-plucking-stars': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 28 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'tendon-nine-oxen': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'tendon-showing-talons': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'tendon-nine-ghosts': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 16 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 15 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 15 },
  },
  'tendon-three-plates': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'tendon-dragon-reaches': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'tendon-tiger-springs': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'tendon-bowing': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: true, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 11 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'tendon-wagging-tail': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: true, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'silk-bow': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 2 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'silk-back': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'silk-duck': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'silk-dragon': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 4 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'silk-bird': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'silk-belly': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 8 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'silk-owl': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'silk-waist': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: true, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'silk-goose': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 12 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'silk-crane': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'silk-sigh': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 1 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'silk-folding': {
    full: { kneeBend: 'deep', oneLegSec: 0, armsAboveShoulders: true, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 5 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'seated-thumbs-held': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'seated-holding-the-head': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 2 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'seated-shaking-the-pillar': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'seated-rubbing-the-gate': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'seated-fire-at-the-navel': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'seated-windlass-single': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'seated-windlass-both': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'seated-holding-up': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 8 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'seated-reaching-the-feet': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'seated-swallowing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'seated-warmth-through-all': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'term-lichun': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'term-yushui': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'term-jingzhe': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'term-chunfen': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'term-qingming': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'term-guyu': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 8 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 8 },
  },
  'term-lixia': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'term-xiaoman': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 8 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 8 },
  },
  'term-mangzhong': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 4 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 4 },
  },
  'term-xiazhi': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'term-xiaoshu': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'term-dashu': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'term-liqiu': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'term-chushu': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'term-bailu': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'term-qiufen': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 17 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 17 },
  },
  'term-hanlu': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 3 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 3 },
  },
  'term-shuangjiang': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'term-lidong': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'term-xiaoxue': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'term-daxue': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'term-dongzhi': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'term-xiaohan': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 8 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'term-dahan': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'brocades-opening': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'brocades-closing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'animals-opening': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'animals-closing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 5 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'sounds-opening': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'sounds-closing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'marrow-opening-heaven': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 7 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'marrow-opening-earth': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'marrow-crown-to-soles': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 5 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'marrow-along-the-arms': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'hold-embrace-chest': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'hold-embrace-belly': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'arrive-seated-bell': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'arrive-intention': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'arrive-hands-to-heart': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'arrive-walk-down': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'arrive-quiet-smile': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'hold-embrace-overhead': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 16 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'hold-horse': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'hold-floating': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'hold-three-circles': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'hold-one-hand-guards': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'sit-embrace': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'post-hands-behind': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'post-pressing': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'post-propping': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'post-holding-from-below': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'post-carrying': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'post-three-bodies': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'post-one-leg': {
    full: { kneeBend: 'slight', oneLegSec: 11, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'post-empty-step': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'post-subduing-tiger': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'weight-tested': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'cat-step': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'walk-heel-to-toe': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'walk-two-sips': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'walk-palms-lifted': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'walk-backward': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'easy-walking-off': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true, rounding: 'none', heelsUp: 'high', unsteady: true, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'high', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'belly-breathing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'life-gate-breathing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'sole-gate-breathing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'flank-breathing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'heart-lamp-breathing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'three-burners-breathing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'girdle-breathing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'middle-room-breathing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'skin-breathing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'nostril-to-belly': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'resting-the-eyes': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'wiping-the-ribs': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'smoothing-the-chest': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'pressing-the-palm-centre': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'belly-rubbing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'rubbing-three-miles': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'rolling-the-soles': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'combing-the-head': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 4 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 4 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 4 },
  },
  'neck-washing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 8 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 15 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 9 },
  },
  'face-tapping': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'three-centre-wash': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'gathering-from-the-earth': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'three-sinks': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'storing-still': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'close-thanks': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'close-open-eyes': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'smile-five-organs': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'colour-of-wood': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'colour-of-fire': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'colour-of-earth': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'colour-of-metal': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'colour-of-water': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'orbit-stations-warmed': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'great-orbit': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'belt-vessel': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'thrusting-vessel': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'bone-breathing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'turtle-breath': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'counting-the-breath': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'following-the-breath': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'resting-in-the-breath': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'guarding-the-one': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'sitting-and-forgetting': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'listening': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'fire-down-water-up': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'field-filled': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'rest-on-the-back': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'rest-on-the-side': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 6 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'rest-legs-up': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'before-getting-up': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 1 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'closing-rest': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'belly-circles-counted': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'face-ears-head-back': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 14 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 13 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 14 },
  },
  'wall-palms': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'wall-climb': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 6 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 5 },
  },
  'wall-back': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'wall-chest-opened': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'ball-lifted': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'ball-carried-round': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'ball-rolled-over': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'staff-lifted': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 4 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 2 },
  },
  'staff-turned': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'staff-dips': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'staff-rolled-down': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'slight', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'pair-palms-breathe': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'pair-millstone': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'pair-rise-and-sink': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'ring-palms': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'ring-sways': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'ring-rises': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'rise-and-sink': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'cloud-hands': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'small-orbit': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'sky-gathering': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 5 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'face-washing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'storing-circles': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
  'close-hands-to-belly': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false, rounding: 'none', heelsUp: 'none', unsteady: false, foldWithTurn: false, armsUpSec: 0 },
  },
} as const;
