export { CHANNEL_IDS, CHANNELS, POINTS, channel, point } from './channels';
export type { ChannelId, PointCode, PointRow } from './channels';
