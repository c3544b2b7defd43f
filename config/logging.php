<?php

declare(strict_types=1);

use App\Kitchen\BoundedLog;
use App\Kitchen\Watch\LogLine;

// A log never fills the disk and never stops the kitchen: a file a day, a week of them, each of bounded size.
return [
    'default' => 'kitchen',
    'channels' => [
        'kitchen' => ['driver' => 'stack', 'channels' => ['bounded'], 'ignore_exceptions' => true],
        'bounded' => [
            'driver' => 'monolog', 'handler' => BoundedLog::class, 'level' => 'info',
            'formatter' => LogLine::class,
            'handler_with' => ['filename' => storage_path('logs/sectum.log'), 'maxFiles' => 7],
        ],
    ],
];
