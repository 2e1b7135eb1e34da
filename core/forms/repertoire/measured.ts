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
  'loosen-feet-rocking': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'loosen-leg-pendulum': {
    full: { kneeBend: 'slight', oneLegSec: 3, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'loosen-waist': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'loosen-elbows': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'loosen-fingers': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'loosen-arm-wheels': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'loosen-shoulder-blades': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'slight', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'slight', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'loosen-neck-tilt': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'tilt', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'tilt', legsCross: false, stepping: false },
  },
  'loosen-neck-turtle': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'spinal-wave': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'slight', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'spine-bellows': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'dragon-spine': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false },
  },
  'hanging-fold': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'deep', headBelowHeart: true, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'figure-eight-hang': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'bow-from-the-hips': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'twist-to-the-heel': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'crescent-moon': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'slight', neck: 'none', legsCross: false, stepping: false },
  },
  'bow-stance-turn': {
    full: { kneeBend: 'deep', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: true },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
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
  'tap-legs-outside': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'tap-legs-front': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'tap-legs-back': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'tap-legs-inside': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'tap-chest': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'tap-flanks': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'tap-kidneys': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'tap-sacrum': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'tap-head': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'tap-belly': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'bouncing': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'shaking-limbs': {
    full: { kneeBend: 'none', oneLegSec: 4, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'shaking-off': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'swing-knock-ribs': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'swing-knock-shoulders': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'wake-round-rubbing': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'wake-ears': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'wake-teeth': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'heel-sink': {
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
  'phase-wood-sapling': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'phase-fire-blossom': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'phase-earth-turning-ground': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'phase-metal-autumn-air': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'phase-water-well': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'wave-wood': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'wave-fire': {
    full: { kneeBend: 'deep', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'wave-earth': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'wave-metal': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'wave-water': {
    full: { kneeBend: 'deep', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'open-and-close': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'push-and-draw': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'wheel': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: true, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'parting-clouds': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'ball-of-qi': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'growing-ball': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'spiralling-arms': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'twining-vine': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false },
  },
  'lifting-the-lake': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'draw-up-press-down': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'sweeping-across': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'crane-stands': {
    full: { kneeBend: 'none', oneLegSec: 5, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'heron-walks': {
    full: { kneeBend: 'slight', oneLegSec: 2, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'heel-pushes': {
    full: { kneeBend: 'none', oneLegSec: 8, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'rocking-bamboo': {
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
  'gentle-hold-up-the-sky': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'gentle-draw-the-bow': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'gentle-part-heaven-and-earth': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'gentle-look-back': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false },
  },
  'gentle-sway': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'gentle-heels': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'gentle-clench-fists': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'gentle-hands-to-feet': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
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
  'animal-tiger-pounce': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'animal-deer-run': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: true },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'animal-bear-sway': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'slight', sideBend: 'none', neck: 'none', legsCross: false, stepping: true },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'animal-monkey-pick': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'turn', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'animal-bird-fly': {
    full: { kneeBend: 'slight', oneLegSec: 5, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'hold-embrace-chest': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'hold-embrace-belly': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'arrive-seated-bell': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'arrive-intention': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'arrive-hands-to-heart': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'arrive-walk-down': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'arrive-quiet-smile': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'hold-embrace-overhead': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'hold-horse': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'hold-floating': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'hold-three-circles': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'hold-one-hand-guards': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'sit-embrace': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'belly-breathing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'life-gate-breathing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'sole-gate-breathing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'pearl': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'flank-breathing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'heart-lamp-breathing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'three-burners-breathing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'girdle-breathing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'middle-room-breathing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'skin-breathing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'nostril-to-belly': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'resting-the-eyes': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'wiping-the-ribs': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'smoothing-the-chest': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'pressing-the-palm-centre': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'belly-rubbing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'rubbing-three-miles': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'half', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'rolling-the-soles': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'combing-the-head': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'neck-washing': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: true, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'face-tapping': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'three-centre-wash': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'gathering-from-the-earth': {
    full: { kneeBend: 'moderate', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'centring-spirals': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'three-sinks': {
    full: { kneeBend: 'slight', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'storing-still': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'close-thanks': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    seated: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
  },
  'close-open-eyes': {
    full: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
    smaller: { kneeBend: 'none', oneLegSec: 0, armsAboveShoulders: false, fold: 'none', headBelowHeart: false, backBend: 'none', twist: 'none', sideBend: 'none', neck: 'none', legsCross: false, stepping: false },
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
