import { useState } from 'react';
import type { FormName, FormView } from '@zero-point/core/messages/datum/formView';

/** Where a page that touches something stands: taking readings, or using the answer. */
export interface TouchPage {
  showing: 'entry' | 'answer';
  show: (showing: 'entry' | 'answer') => void;
  /** The way of setting it that is chosen: the machine's habit until the person picks another. */
  form: FormView | undefined;
  choose: (form: FormName) => void;
}

/** State of such a page; starts over when another thing is touched. */
export function useTouchPage(subject: string | undefined, forms: readonly FormView[]): TouchPage {
  const [state, setState] = useState<{ subject: string | undefined; showing: TouchPage['showing']; form?: FormName }>({
    subject,
    showing: 'entry',
  });
  const mine = state.subject === subject ? state : { subject, showing: 'entry' as const, form: undefined };
  return {
    showing: forms.length === 0 ? 'entry' : mine.showing,
    show: (showing) => setState({ ...mine, showing }),
    form: forms.find(({ form }) => form === mine.form) ?? forms[0],
    choose: (form) => setState({ ...mine, form }),
  };
}
