'use client';

import MoreIcon from '@mui/icons-material/MoreHoriz';
import Divider from '@mui/material/Divider';
import IconButton from '@mui/material/IconButton';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import Tooltip from '@mui/material/Tooltip';
import { useSnackbar } from 'notistack';
import { useState, type ReactNode } from 'react';
import { netlistOf } from '@/core/physics/circuit/spice/netlistOf';
import { deskNetwork } from '@/core/physics/desk/deskNetwork';
import { pngBlob, svgText } from '@/ui/desk/pictureFile';
import { saveFile } from '@/ui/saveFile';
import { usePlanContext } from '../../../PlanProvider';
import { FromCupboard } from '../wiringOptions/FromCupboard';

/** What else can be done with the desk: the cupboard, files. */
export function DeskMenu() {
  const { open, evaluation } = usePlanContext();
  const { enqueueSnackbar } = useSnackbar();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [cupboard, setCupboard] = useState(false);
  const close = (): void => setAnchor(null);
  const picture = (): SVGSVGElement | null => document.querySelector('svg[data-desk-picture]');
  const saveSvg = (): void => {
    const svg = picture();
    if (svg !== null) saveFile('desk.svg', new Blob([svgText(svg)], { type: 'image/svg+xml' }));
  };
  const savePng = async (): Promise<void> => {
    const svg = picture();
    const png = svg === null ? null : await pngBlob(svg);
    if (png === null) {
      enqueueSnackbar('This browser could not draw the picture; save it as SVG instead.');
    } else saveFile('desk.png', png);
  };
  const saveNetlist = (): void => {
    const { text } = netlistOf(deskNetwork(evaluation.desk, evaluation.need.load));
    saveFile('battery.cir', new Blob([text], { type: 'text/plain' }));
  };
  const item = (name: ReactNode, action: () => void) => (
    <MenuItem
      dense
      onClick={() => {
        close();
        action();
      }}
    >
      {name}
    </MenuItem>
  );
  return (
    <>
      <Tooltip title="Cupboard, files">
        <IconButton
          size="small"
          aria-label="More about the desk"
          aria-haspopup="menu"
          onClick={(event) => setAnchor(event.currentTarget)}
        >
          <MoreIcon fontSize="small" />
        </IconButton>
      </Tooltip>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={close}>
        {item('From the cupboard: what can I light?', () => setCupboard(true))}
        <Divider />
        {item('Save the picture as SVG', saveSvg)}
        {item('Save the picture as PNG', () => void savePng())}
        {item('Save the circuit as a SPICE netlist', saveNetlist)}
        <MenuItem
          dense
          component="a"
          href={`/api/plans/${open.id}/export`}
          download
          onClick={close}
        >
          Save the plan as JSON
        </MenuItem>
      </Menu>
      {cupboard ? <FromCupboard onClose={() => setCupboard(false)} /> : null}
    </>
  );
}
