<?php

declare(strict_types=1);

return [
    // The demo kitchen shows its PINs and lets one use the simulated pan, probe and labels.
    'demo' => (bool) env('SECTUM_DEMO', false),
    // Where a restore writes the key that signs the kitchen's cookies.
    'env_file' => env('SECTUM_ENV_FILE', base_path('.env')),
    'scale' => [
        'host' => '127.0.0.1',
        'port' => (int) env('SECTUM_SCALE_PORT', 8417),
    ],
    'probe' => [
        'host' => '127.0.0.1',
        'port' => (int) env('SECTUM_PROBE_PORT', 8418),
    ],
    'logger' => [
        'host' => '127.0.0.1',
        'port' => (int) env('SECTUM_LOGGER_PORT', 8419),
    ],
];
