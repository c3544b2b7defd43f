<?php

declare(strict_types=1);

return [
    'name' => 'Sectum',
    'env' => env('APP_ENV', 'production'),
    'debug' => false,
    'key' => env('APP_KEY'),
    'url' => env('APP_URL', 'http://127.0.0.1:8080'),
    'timezone' => env('SECTUM_TIMEZONE', 'UTC'),
];
