-- The kind of gear "bib" is called "pinnie".
UPDATE "gear" SET "data" = jsonb_set("data"::jsonb, '{gearKind}', '"pinnie"') WHERE "data"->>'gearKind' = 'bib';
