'use client';

import dynamic from 'next/dynamic';
import { FormProvider } from 'react-hook-form';
import type { Customs } from '@/core/customs';
import type { OwnLayers } from '@/core/practice';
import { useReady } from '@/ui/kit/useReady';
import {
  ComposerCustoms,
  FigureCustoms,
  PaceCustoms,
  PlaceCustoms,
  RegionCustoms,
  SchoolCustoms,
} from './sections';
import { useCustomsSaving } from './useCustomsSaving';

/** Fetched by itself: it knows every pattern there is. */
const BreathCustoms = dynamic(() => import('./BreathCustoms').then((one) => one.BreathCustoms));

/** Fetched by itself: it knows every condition and what each has to mind. */
const OwnConditions = dynamic(() => import('./OwnConditions').then((one) => one.OwnConditions));

/** Fetched by itself: it knows every shape there is. */
const ShapeCustoms = dynamic(() => import('./ShapeCustoms').then((one) => one.ShapeCustoms));

/**
 * The customs: place, schools, pace, sides. Each contested point is a choice with its source. They save themselves a
 * moment after each change; what is not yet right says so and waits.
 */
export function CustomsForm({
  customs,
  version,
  layers,
}: {
  customs: Customs;
  version: number;
  /** Own breaths and sounds, which customs may name. */
  layers: OwnLayers;
}) {
  const ready = useReady();
  const { form, kept, keeper, save, isSaved } = useCustomsSaving(customs, version, ready);
  return (
    <FormProvider {...form}>
      <form onSubmit={(event) => void save(event)} noValidate>
        <fieldset disabled={!ready} className="space-y-6">
          <PlaceCustoms />
          <SchoolCustoms />
          <PaceCustoms />
          <BreathCustoms layers={layers} />
          <ShapeCustoms />
          <ComposerCustoms />
          <FigureCustoms />
          <RegionCustoms />
          <OwnConditions />
          <p className="flex flex-wrap items-baseline gap-3">
            <button type="submit" className="press press-main" disabled={form.formState.isSubmitting}>
              Save the customs
            </button>
            <span className="quiet small" role="status">
              {kept.code === 'kept' && (isSaved ? 'All is saved' : 'Saving …')}
              {kept.code === 'waiting' &&
                (Object.keys(form.formState.errors).length > 0
                  ? 'Not saved: something above is not right yet'
                  : 'Saving …')}
            </span>
          </p>
          {(kept.code === 'failed' || kept.code === 'changed-elsewhere') && (
            <p role="alert" className="must">
              {kept.message}{' '}
              {kept.code === 'changed-elsewhere' && (
                <>
                  <button
                    type="button"
                    className="press"
                    onClick={() => {
                      keeper.seen(kept.version);
                      void save();
                    }}
                  >
                    Keep these
                  </button>{' '}
                  <button
                    type="button"
                    className="press"
                    onClick={() => {
                      form.reset(customs);
                      window.location.reload();
                    }}
                  >
                    Take the other window’s
                  </button>
                </>
              )}
            </p>
          )}
        </fieldset>
      </form>
    </FormProvider>
  );
}
