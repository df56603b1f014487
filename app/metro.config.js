const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);

// @rneui/base probes every icon font family in turn; Obrik's icons are drawn (lucide), so none
// of those fonts is shipped.
config.resolver.resolveRequest = (context, moduleName, platform) =>
  /^(@react-native-vector-icons\/|react-native-vector-icons\/|@expo\/vector-icons)/.test(moduleName)
    ? { type: 'empty' }
    : context.resolveRequest(context, moduleName, platform);

module.exports = config;
