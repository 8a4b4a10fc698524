'use client';

import {
  mdiAlertOctagonOutline,
  mdiAlertOutline,
  mdiArrowDown,
  mdiArrowUp,
  mdiCalendarOutline,
  mdiCheckCircleOutline,
  mdiChevronDown,
  mdiClockOutline,
  mdiClose,
  mdiContentCopy,
  mdiDotsHorizontal,
  mdiHistory,
  mdiKeyboardOutline,
  mdiLinkVariant,
  mdiMagnifyMinusOutline,
  mdiMagnifyPlusOutline,
  mdiMinus,
  mdiPencilOutline,
  mdiPlus,
  mdiPrinterOutline,
  mdiPresentation,
  mdiRedo,
  mdiShuffle,
  mdiTrashCanOutline,
  mdiTrayArrowDown,
  mdiTrayArrowUp,
  mdiUndo,
  mdiWeatherNight,
  mdiWhiteBalanceSunny,
} from '@mdi/js';
import { createSvgIcon } from '@mui/material/utils';

/** Every icon of the interface: an outline of Material Design Icons in the element that the theme sizes and colours. */
export const AddIcon = createSvgIcon(<path d={mdiPlus} />, 'Add');
export const CheckCircleIcon = createSvgIcon(<path d={mdiCheckCircleOutline} />, 'CheckCircle');
export const CloseIcon = createSvgIcon(<path d={mdiClose} />, 'Close');
export const CopyIcon = createSvgIcon(<path d={mdiContentCopy} />, 'Copy');
export const DarkIcon = createSvgIcon(<path d={mdiWeatherNight} />, 'Dark');
export const DeleteIcon = createSvgIcon(<path d={mdiTrashCanOutline} />, 'Delete');
export const DownIcon = createSvgIcon(<path d={mdiArrowDown} />, 'Down');
export const DownloadIcon = createSvgIcon(<path d={mdiTrayArrowDown} />, 'Download');
export const EditIcon = createSvgIcon(<path d={mdiPencilOutline} />, 'Edit');
export const ErrorIcon = createSvgIcon(<path d={mdiAlertOctagonOutline} />, 'Error');
export const CalendarIcon = createSvgIcon(<path d={mdiCalendarOutline} />, 'Calendar');
export const ClockIcon = createSvgIcon(<path d={mdiClockOutline} />, 'Clock');
export const ExpandMoreIcon = createSvgIcon(<path d={mdiChevronDown} />, 'ExpandMore');
export const HistoryIcon = createSvgIcon(<path d={mdiHistory} />, 'History');
export const KeyboardIcon = createSvgIcon(<path d={mdiKeyboardOutline} />, 'Keyboard');
export const LightIcon = createSvgIcon(<path d={mdiWhiteBalanceSunny} />, 'Light');
export const LinkIcon = createSvgIcon(<path d={mdiLinkVariant} />, 'Link');
export const MoreIcon = createSvgIcon(<path d={mdiDotsHorizontal} />, 'More');
export const PrintIcon = createSvgIcon(<path d={mdiPrinterOutline} />, 'Print');
export const ProjectorIcon = createSvgIcon(<path d={mdiPresentation} />, 'Projector');
export const RedoIcon = createSvgIcon(<path d={mdiRedo} />, 'Redo');
export const RemoveIcon = createSvgIcon(<path d={mdiMinus} />, 'Remove');
export const ShuffleIcon = createSvgIcon(<path d={mdiShuffle} />, 'Shuffle');
export const UndoIcon = createSvgIcon(<path d={mdiUndo} />, 'Undo');
export const UpIcon = createSvgIcon(<path d={mdiArrowUp} />, 'Up');
export const UploadIcon = createSvgIcon(<path d={mdiTrayArrowUp} />, 'Upload');
export const WarningIcon = createSvgIcon(<path d={mdiAlertOutline} />, 'Warning');
export const ZoomInIcon = createSvgIcon(<path d={mdiMagnifyPlusOutline} />, 'ZoomIn');
export const ZoomOutIcon = createSvgIcon(<path d={mdiMagnifyMinusOutline} />, 'ZoomOut');
