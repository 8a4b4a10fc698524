/** What a teacher meets anew, version by version, newest first; the whole is in `CHANGELOG.md`. */
export const WHAT_IS_NEW = [
  {
    version: '0.3.0',
    lines: [
      'What is wrong is judged once: phone, board and desk say the same, and say how sure it is.',
      'Leads to the LED, a clip across two cells and a meter on the wrong range are found too.',
      'When all is well the phone says so, and what to do next.',
      'Every reading narrows what is known of your cells, and the verdict with it.',
      'Light several LEDs, or run a motor, clock, calculator, buzzer or radio.',
      'The verdict knows the minutes of the lesson and how many meters there are.',
      'The timetable begins with a trial cell days before.',
      'Children’s sheets have cautions in their words, with pictures.',
      'On a phone the desk fits; in the United States inches and cups stand beside the metric figures.',
      'Deleted things wait in Safekeeping for thirty days; Ctrl K finds what you want to do.',
    ],
  },
] as const;
