import type { Prop } from './posture';

/** What a posture is done with, as it is said after a form's name, and what somebody needs who wants to do it. */
export const PROP_WORDS: Readonly<Record<Prop, { readonly label: string; readonly needs: string }>> = {
  ball: { label: 'with a ball', needs: 'a light ball' },
  staff: { label: 'with a staff', needs: 'a staff as long as from the floor to the ribs' },
  wall: { label: 'at a wall', needs: 'a wall' },
  'wall behind': { label: 'with the back to a wall', needs: 'a wall' },
  partner: { label: 'with a partner', needs: 'a partner' },
  ring: { label: 'in a ring', needs: 'a ring of people' },
};
