<?php

declare(strict_types=1);

return [
    // In the cookie itself, encrypted: a full disk signs nobody out, and an anonymous look leaves no file. What ends a
    // session is in the database.
    'driver' => env('SESSION_DRIVER', 'cookie'),
    // A shift and a half, in minutes.
    'lifetime' => 720,
    'cookie' => 'sectum_session',
    'http_only' => true,
    'same_site' => 'strict',
    'secure' => env('SESSION_SECURE_COOKIE', false),
];
