<?php

declare(strict_types=1);

// For PHP's own server: files of public/ as they are, everything else to the application.
$path = urldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$file = __DIR__.'/../public'.$path;
if ($path !== '/' && ! str_contains($path, '..') && ! str_ends_with($path, '.php') && is_file($file)) {
    // PHP's server sends files without a word; these say what the page's own headers say, and how long they stay the
    // same.
    $kinds = [
        'js' => 'text/javascript',
        'css' => 'text/css',
        'svg' => 'image/svg+xml',
        'woff2' => 'font/woff2',
        'json' => 'application/json',
        'map' => 'application/json',
        'ico' => 'image/x-icon',
    ];
    header_remove('X-Powered-By');
    header('Content-Type: '.($kinds[pathinfo($file, PATHINFO_EXTENSION)] ?? 'application/octet-stream'));
    header('Content-Length: '.filesize($file));
    header('X-Content-Type-Options: nosniff');
    header('Referrer-Policy: same-origin');
    header("Content-Security-Policy: default-src 'self'; frame-ancestors 'none'; base-uri 'self'");
    header('Cache-Control: '.(str_starts_with($path, '/build/') ? 'public, max-age=31536000, immutable' : 'no-cache'));
    if (($_SERVER['REQUEST_METHOD'] ?? 'GET') !== 'HEAD') {
        readfile($file);
    }

    return true;
}

require __DIR__.'/../public/index.php';
