// Obrik shows one screen at a time by a slot: the stack's own navigator is never on the screen.
exports.createNativeStackNavigator = () => ({ Navigator: () => null });
