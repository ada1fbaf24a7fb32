-- Shops kept before the Finder get the figures it reckons with.
UPDATE shop SET shop = JSON_INSERT(shop,
  '$.limits.tallestStackMm', 100,
  '$.pace', JSON_OBJECT('facePrepMin', 4, 'stackMin', 20, 'sawMin', 4, 'coolMin', 45,
    'drawPerHeat', 0.25, 'gasKgHour', 1.2));
