'use client';

import Divider from '@mui/material/Divider';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { notify } from '@/ui/notices/notices';
import { useState, type ReactNode } from 'react';
import { netlistOf } from '@/core/physics/circuit/spice/netlistOf';
import { deskNetwork } from '@/core/physics/desk/deskNetwork';
import { pngBlob, svgText } from '@/ui/desk/pictureFile';
import { saveFile } from '@/ui/saveFile';
import { usePlanContext } from '../../../PlanProvider';
import { HaveDialog } from '../HaveDialog';

interface DeskMenuItemsProps {
  /** Where the menu opens; `null` while it is closed. */
  readonly anchor: HTMLElement | null;
  readonly onClose: () => void;
}

/** The menu of the desk, fetched when it is first opened. */
export function DeskMenuItems({ anchor, onClose }: DeskMenuItemsProps) {
  const { open, evaluation } = usePlanContext();
  const [having, setHaving] = useState(false);
  const picture = (): SVGSVGElement | null => document.querySelector('svg[data-desk-picture]');
  const saveSvg = (): void => {
    const svg = picture();
    if (svg !== null) saveFile('desk.svg', new Blob([svgText(svg)], { type: 'image/svg+xml' }));
  };
  const savePng = async (): Promise<void> => {
    const svg = picture();
    const png = svg === null ? null : await pngBlob(svg);
    if (png === null) {
      notify('This browser could not draw the picture; save it as SVG instead.');
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
        onClose();
        action();
      }}
    >
      {name}
    </MenuItem>
  );
  return (
    <>
      <Menu
        anchorEl={anchor}
        open={anchor !== null}
        onClose={onClose}
        slotProps={{
          paper: { role: 'region', 'aria-label': 'More about the desk' },
          list: { 'aria-label': 'More about the desk' },
        }}
      >
        {item('What can I light with what I have?', () => setHaving(true))}
        <Divider />
        {item('Save the picture as SVG', saveSvg)}
        {item('Save the picture as PNG', () => void savePng())}
        {item('Save the circuit as a SPICE netlist', saveNetlist)}
        <MenuItem
          dense
          component="a"
          href={`/api/plans/${open.id}/export`}
          download
          onClick={onClose}
        >
          Save the plan as JSON
        </MenuItem>
      </Menu>
      {having ? <HaveDialog onClose={() => setHaving(false)} /> : null}
    </>
  );
}
