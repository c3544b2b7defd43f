<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $house }}: where our fish comes from</title>
    <style>
        body { margin: 0 auto; max-width: 40rem; padding: 2rem 1.2rem; background: #edf1f0; color: #12202a; }
        body { font: 1.1rem/1.5 system-ui, sans-serif; }
        h1 { font-size: 1.6rem; line-height: 1.2; }
        h2 { margin: 2rem 0 .4rem; padding-top: .8rem; border-top: 2px solid #12202a; font-size: 1.3rem; }
        p { margin: 0; }
        .fish { margin: .8rem 0 0; font-weight: 650; }
        footer { margin-top: 2.5rem; color: #45555e; font-size: .95rem; }
    </style>
</head>
<body>
    <h1>{{ $house }}: where our fish comes from</h1>
    @foreach ($cards as $card)
        <h2>{{ $card['title'] }}</h2>
        @foreach ($card['lines'] as $line)
            @foreach ($line as $i => $said)
                <p @class(['fish' => $i === 0])>{{ $said }}</p>
            @endforeach
        @endforeach
    @endforeach
    <footer>As of {{ $day }}.</footer>
</body>
</html>
