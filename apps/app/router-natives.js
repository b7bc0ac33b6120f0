/** What the router uses of React Native, by name: asked for as a whole, all of it would be in the first script. */
export {
  ActivityIndicator,
  Animated,
  I18nManager,
  Image,
  Platform,
  Pressable,
  ScrollView,
  StyleSheet,
  Text,
  TextInput,
  useColorScheme,
  View,
} from 'react-native';
