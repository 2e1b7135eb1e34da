import { solvePosture, balanceMissM } from './solve';
test('time', () => {
  const p = {
    sink: 30,
    weight: 0.7,
    feet: { apart: 1.5 },
    hands: {
      left: { near: 'middle dantian' as const, off: [4, 0, 8] as [number, number, number] },
      right: { near: 'reach' as const, toward: [1, 0.4, 0.5] as [number, number, number] },
    },
  };
  for (let i = 0; i < 3000; i++) solvePosture(p);
  const t0 = performance.now();
  for (let i = 0; i < 3000; i++) solvePosture(p);
  const s = solvePosture(p);
  console.log(
    (performance.now() - t0) / 3000,
    balanceMissM(s),
    s.legs.left.kneeBendDeg,
    s.legs.right.kneeBendDeg,
    s.trunk.midHip,
    s.arms.left.missM,
    s.arms.right.missM,
    s.arms.left.palm,
  );
  const n = solvePosture({});
  console.log(n.trunk.midHip, n.mass, n.massAim, n.trunk.head, n.arms.left.palm, n.legs.left.missM);
});
