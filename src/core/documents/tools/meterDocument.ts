import {
  meterSettingsSchema,
  USUAL_METER,
  type MeterSettings,
} from '../../physics/instruments/meterSettings';
import { toolDocument } from './toolDocument';

export const METER_DOCUMENT = toolDocument<MeterSettings>(
  'meter address',
  meterSettingsSchema,
  USUAL_METER,
);
