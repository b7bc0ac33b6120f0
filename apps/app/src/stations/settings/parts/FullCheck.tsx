import type { ShopCheck } from '@zero-point/core/schema/shopCheck';
import { capitalize } from '@zero-point/core/messages/basis/grammar';
import { useMutation } from '@tanstack/react-query';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { request } from '../../../api/client';
import { AppText } from '../../../theme/AppText';

/** A long record takes its time; nothing else waits for it. */
const PATIENCE = 10 * 60_000;

/** Faults that are told; the rest is of the same damage. */
const TOLD = 5;

/** A look through the whole file of the shop: each page and each entry. */
export function FullCheck() {
  const { mutate, data, error, isPending } = useMutation({
    mutationFn: () => request<ShopCheck>('GET', '/shop/check', undefined, { patience: PATIENCE }),
  });
  return (
    <View style={styles.group}>
      <AppText tone="soft">
        At each start the server checks its file quickly. A full check reads every page and every entry.
      </AppText>
      <Button mode="outlined" loading={isPending} disabled={isPending} onPress={() => mutate()} style={styles.button}>
        {isPending ? 'Checking the file' : 'Check the whole file'}
      </Button>
      {error && (
        <View role="alert">
          <AppText tone="bad">{`${error.message} Try again when it is back.`}</AppText>
        </View>
      )}
      {data && <Found {...data} />}
    </View>
  );
}

function Found({ tables, entries, found, remedy }: ShopCheck) {
  if (found.length === 0) {
    return <AppText kind="strong" live>{`Whole: ${entries} entries in ${tables} tables, all correct.`}</AppText>;
  }
  return (
    <View role="alert" style={styles.group}>
      <AppText kind="strong" tone="bad">
        {`${found.every(({ where }) => where === 'checksums') ? 'Entries of the file were changed outside Zero Point' : 'The file is damaged'}. ${remedy}`}
      </AppText>
      {found.slice(0, TOLD).map(({ where, what }) => (
        <AppText key={`${where} ${what}`} kind="note" tone="bad">
          {where === 'checksums' ? `${capitalize(what)}.` : `${where}: ${what}`}
        </AppText>
      ))}
      {found.length > TOLD && <AppText kind="note">{`and ${found.length - TOLD} more.`}</AppText>}
    </View>
  );
}

const styles = StyleSheet.create({ group: { gap: 8 }, button: { alignSelf: 'flex-start' } });
