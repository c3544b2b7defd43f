<?php

declare(strict_types=1);

// What takes long is done beside the page, by one worker that bin/serve looks after.
return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => [
            'driver' => 'database',
            'connection' => null,
            'table' => 'jobs',
            'queue' => 'default',
            'retry_after' => 300,
            'after_commit' => true,
        ],
    ],
    'failed' => ['driver' => 'null'],
];
