import { zodResolver } from '@hookform/resolvers/zod';
import { useEffect, useEffectEvent, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { customsSchema, type Customs } from '@/core/customs';
import { CustomsKeeper, type Kept } from './keeper';

/** After the last change, so that typing a number is one save. */
const PAUSE_MS = 700;
/** How long after a failure saving is tried again by itself. */
const AGAIN_MS = 5000;

/** The form of the customs: it saves itself a moment after each change; what is not yet right says so and waits. */
export function useCustomsSaving(customs: Customs, version: number, ready: boolean) {
  const form = useForm<Customs>({
    defaultValues: customs,
    resolver: zodResolver(customsSchema),
    mode: 'onChange',
  });
  const { handleSubmit, control, getValues } = form;
  const values = useWatch({ control });
  const [kept, setKept] = useState<Kept>({ code: 'kept' });
  const [keeper] = useState(() => new CustomsKeeper(customs, version));
  const save = handleSubmit(
    async (whole) => setKept(await keeper.keep(whole)),
    () => setKept({ code: 'waiting' }),
  );
  const again = useEffectEvent(() => void save());

  const typed = JSON.stringify(values);
  const refused = kept.code === 'changed-elsewhere';
  useEffect(() => {
    if (!ready || refused || keeper.has(JSON.parse(typed))) return undefined;
    const timer = setTimeout(again, PAUSE_MS);
    return () => clearTimeout(timer);
  }, [keeper, typed, ready, refused]);

  // When the server is back, saving goes on by itself.
  useEffect(() => {
    const back = (): void => again();
    window.addEventListener('online', back);
    const timer = kept.code === 'failed' ? setInterval(back, AGAIN_MS) : undefined;
    return () => {
      window.removeEventListener('online', back);
      clearInterval(timer);
    };
  }, [kept.code]);

  // Leaving with something unsaved: what is right goes off at once; what is not right asks first.
  useEffect(() => {
    const leaving = (event: BeforeUnloadEvent): void => {
      if (!keeper.has(getValues())) event.preventDefault();
    };
    window.addEventListener('beforeunload', leaving);
    return () => {
      window.removeEventListener('beforeunload', leaving);
      const right = customsSchema.safeParse(getValues());
      if (right.success) void keeper.keep(right.data);
    };
  }, [getValues, keeper]);

  return { form, values, kept, keeper, save, isSaved: keeper.has(JSON.parse(typed)) };
}
