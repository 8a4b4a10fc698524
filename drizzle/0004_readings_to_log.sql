-- Readings used to stand in the plan; they move to the log, under the first group.
INSERT INTO `log_lines` (`plan_id`, `group_name`, `entry_id`, `revision`, `entry`, `struck`, `author`, `at`)
SELECT d.`id`, 'Curlew', 'moved ' || r.`key`, 1,
  json_object(
    'kind', 'reading',
    'measurement', json(CASE json_extract(r.`value`, '$.kind')
      WHEN 'open-circuit' THEN json_object(
        'kind', 'volts', 'string', 1, 'from', 1,
        'to', json_extract(r.`value`, '$.cells'), 'built', json_extract(r.`value`, '$.cells'))
      ELSE json_object('kind', 'short', 'string', 1, 'built', 1) END),
    'value', coalesce(json_extract(r.`value`, '$.volts'), json_extract(r.`value`, '$.amps')),
    'range', NULL, 'source', 'typed', 'typed', NULL, 'meter', NULL,
    'takenAt', json_extract(r.`value`, '$.takenAt')),
  0, 'teacher', d.`updated_at`
FROM `documents` d, json_each(d.`document`, '$.readings') r
WHERE d.`kind` = 'plans';
