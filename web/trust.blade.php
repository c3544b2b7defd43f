<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Sectum: a tablet's first visit</title>
<style>
body { margin: 0; padding: 32px; background: #edf1f0; color: #12202a; font: 20px/1.4 system-ui, sans-serif; }
main { max-width: 760px; margin: 0 auto; }
h1 { font-size: 30px; }
li { padding: 8px 0; }
a { color: inherit; font-weight: 600; }
.go { display: inline-block; padding: 14px 24px; background: #12202a; color: #fff; text-decoration: none; }
</style>
</head>
<body>
<main>
<h1>A tablet's first visit</h1>
<p>This kitchen's computer has a certificate of its own. A tablet has to be told once that it may trust it.</p>
<ol>
<li><a href="root.crt">Download the kitchen's certificate</a> on the tablet, and open the file.</li>
<li>In the tablet's settings, install it as an authority (Security, Certificates), and switch on that it is trusted.</li>
<li><a class="go" href="{{ $kitchen }}">Open the kitchen</a><br>{{ $kitchen }}</li>
</ol>
<p>Point another tablet's camera here to open this page on it: {{ $here }}</p>
<div>{!! $code !!}</div>
</main>
</body>
</html>
