import { routinesFor } from '@zero-point/core/routines/list';
import type { RoutineSubject } from '@zero-point/core/routines/routine';
import { StyleSheet, View } from 'react-native';
import { LinkButton } from '../../../controls/LinkButton';
import { AppText } from '../../../theme/AppText';

interface RoutineLinksProps {
  subject: RoutineSubject;
  /** The address of the thing's own page, its axis with it. */
  page: string;
}

/** The ways a thing can be qualified, each a guided routine. */
export const RoutineLinks = ({ subject, page }: RoutineLinksProps) => (
  <View role="list" style={styles.list}>
    {routinesFor(subject).map(({ name, title, about }) => (
      <View role="listitem" key={name}>
        <LinkButton to={`${page}${page.includes('?') ? '&' : '?'}do=${name}` as '/shop'} label={`${title}: ${about}`}>
          <>
            <AppText kind="strong">{title}</AppText>
            <AppText kind="note" tone="soft">
              {about}
            </AppText>
          </>
        </LinkButton>
      </View>
    ))}
  </View>
);

const styles = StyleSheet.create({ list: { gap: 8 } });
