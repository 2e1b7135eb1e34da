import { moveToBin } from '../moveToBin';

export const POST = (_request: Request, context: { params: Promise<{ id: string }> }) =>
  moveToBin(context.params, true);
