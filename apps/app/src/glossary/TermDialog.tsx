import { useEffect, useState } from 'react';
import { GLOSSARY } from '@zero-point/core/messages/basis/glossary';
import { PageDialog } from '../dialogs/PageDialog';
import { LinkButton } from '../controls/LinkButton';
import { setTerms } from '../theme/terms';
import { AppText } from '../theme/AppText';
import { splitTerms } from './splitTerms';

/** A term's line of the glossary, over the page whose sentence has it. */
export default function TermDialog() {
  const [term, setTerm] = useState<string>();
  useEffect(() => setTerms({ split: splitTerms, open: setTerm }), []);
  const entry = GLOSSARY.find((one) => one.term === term);
  if (!entry) return null;
  return (
    <PageDialog title={entry.term} leave="Close" onLeave={() => setTerm(undefined)}>
      <AppText>{entry.means}</AppText>
      <LinkButton to="/glossary" label="Open the glossary" />
    </PageDialog>
  );
}
