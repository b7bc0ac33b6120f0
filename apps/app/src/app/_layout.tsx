import { QueryClientProvider } from '@tanstack/react-query';
import { Slot } from 'expo-router';
import { useEffect, useMemo } from 'react';
import { PaperProvider } from 'react-native-paper';
import { askAhead } from '../api/setupList';
import { cacheAppOffline } from '../api/offline';
import { queryClient } from '../api/queryClient';
import { listenForChoiceKeys } from '../keyboard/choiceKeys';
import { TermHost } from '../glossary/TermHost';
import { loadPiecesTogether } from '../api/loadPieces';
import { startDelivery } from '../stations/delivery';
import { useSettings } from '../stores/settings';
import { PALETTES } from '../theme/palette';
import { setShellColours } from '../theme/shellColours';
import { paperTheme } from '../theme/paperTheme';

loadPiecesTogether();
askAhead(window.location.pathname);

/** What every screen stands in. */
export default function Layout() {
  const mode = useSettings((state) => state.mode);
  const theme = useMemo(() => paperTheme(mode), [mode]);
  useEffect(startDelivery, []);
  useEffect(cacheAppOffline, []);
  useEffect(listenForChoiceKeys, []);
  useEffect(() => {
    document.body.style.backgroundColor = PALETTES[mode].ground;
    setShellColours(mode, document);
  }, [mode]);
  return (
    <QueryClientProvider client={queryClient}>
      <PaperProvider theme={theme} settings={{ rippleEffectEnabled: false }}>
        <Slot />
        <TermHost />
      </PaperProvider>
    </QueryClientProvider>
  );
}
