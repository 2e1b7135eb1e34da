import { PROP_WORDS } from '../../body/propWords';
import { channel } from '../../channels';
import { organ, phaseName } from '../../phases';
import type { Form } from '../model/model';
import { propOf } from '../model/props';
import { OTHER_NAMES } from './otherNames';
import { plainText } from './plain';

/** Everything a practitioner might look a form up by, as one plain line. */
export function searchText(form: Form): string {
  const prop = propOf(form, 'full');
  return plainText(
    [
      form.name,
      form.pinyin ?? '',
      form.hanzi ?? '',
      ...(OTHER_NAMES[form.id] ?? []),
      form.family,
      ...form.actions,
      ...form.roles,
      ...form.phases.map((phase) => phaseName(phase).name),
      ...form.organs.map((id) => organ(id).name),
      ...form.channels.map((reach) => `${reach.channel} ${channel(reach.channel).name} ${reach.how}`),
      ...form.points,
      form.seated ? 'seated' : '',
      form.animal ?? '',
      prop ? PROP_WORDS[prop].label : '',
    ].join(' '),
  );
}
