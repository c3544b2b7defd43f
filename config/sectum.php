<?php

declare(strict_types=1);

return [
    // The demo kitchen shows its PINs and lets one use the simulated pan, probe and labels.
    'demo' => (bool) env('SECTUM_DEMO', false),
    // Where a restore writes the key that signs the kitchen's cookies.
    'env_file' => env('SECTUM_ENV_FILE', base_path('.env')),
    // What a monitor says to read /status from another computer; empty: only this computer reads it.
    'status_token' => env('SECTUM_STATUS_TOKEN'),
    'backup' => [
        // A mounted stick, for instance; kept by the house's rule of how many.
        'folder' => env('SECTUM_BACKUP_TO', storage_path('app/backups')),
        // A file with the passphrase backups are encrypted with; empty for none.
        'passphrase_file' => env('SECTUM_BACKUP_PASSPHRASE_FILE'),
    ],
    // How many times faster than a real one a simulated scale settles and a probe creeps; 1 as they are.
    'pace' => (float) env('SECTUM_PACE', 1),
    'scale' => [
        'host' => '127.0.0.1',
        'port' => (int) env('SECTUM_SCALE_PORT', 8417),
    ],
    'scale_b' => [
        'host' => '127.0.0.1',
        'port' => (int) env('SECTUM_SCALE_B_PORT', 8420),
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
