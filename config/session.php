<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    // A shift and a half, in minutes.
    'lifetime' => 720,
    'cookie' => 'sectum_session',
    'http_only' => true,
    'same_site' => 'strict',
    'secure' => env('SESSION_SECURE_COOKIE', false),
];
