<?php

declare(strict_types=1);

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', database_path('sectum.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            // How long a write waits its turn, in milliseconds; it is tried three times.
            'busy_timeout' => (int) env('SECTUM_BUSY_MS', 2500),
            'journal_mode' => 'WAL',
            // What was acknowledged survives the power going, not only the process.
            'synchronous' => 'FULL',
            // A write takes its lock at the start (App\Kitchen\Database) and waits its turn there; none fails half way.
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
