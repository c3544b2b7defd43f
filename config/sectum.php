<?php

declare(strict_types=1);

return [
    // The demo kitchen shows its PINs and lets one put a mass on the simulated pan.
    'demo' => (bool) env('SECTUM_DEMO', false),
    'scale' => [
        'host' => '127.0.0.1',
        'port' => (int) env('SECTUM_SCALE_PORT', 8417),
    ],
];
