import { Pinyin } from './Pinyin';
import { organ, type OrganId } from '@/core/phases';

/** An organ as name · pinyin · hanzi · channel code. */
export function OrganName({ id, full = false }: { id: OrganId; full?: boolean }) {
  const row = organ(id);
  return (
    <span>
      {row.name}{' '}
      <span className="quiet small whitespace-nowrap">
        {full && (
          <>
            <Pinyin>{row.pinyin}</Pinyin>{' '}
          </>
        )}
        <span lang="zh-Hant" className="font-hanzi">
          {row.hanzi}
        </span>
        {full && <> {row.channel}</>}
      </span>
    </span>
  );
}
